/** How well a figure is known: named parts, combined, with coverage factor k = 2. */
package org.eskarn.core.uncertainty;
