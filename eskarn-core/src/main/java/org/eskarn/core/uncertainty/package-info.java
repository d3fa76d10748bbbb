/** How well a figure is known: named parts, combined, and expanded so that 95 of 100 true values lie within. */
package org.eskarn.core.uncertainty;
