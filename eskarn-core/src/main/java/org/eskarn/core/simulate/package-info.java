/** A virtual part under a virtual dial: the stand-in for a real gauge, repeatable from a seed. */
package org.eskarn.core.simulate;
