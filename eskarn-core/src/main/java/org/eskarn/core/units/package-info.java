/** Lengths as people write them: an exact decimal amount and the unit it was written in. */
package org.eskarn.core.units;
