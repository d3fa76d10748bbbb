/** Sizes measured at several places of one feature. */
package org.eskarn.core.size;
