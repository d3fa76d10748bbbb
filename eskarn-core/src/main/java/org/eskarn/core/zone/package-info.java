/** The thinnest zones that hold a set of values: exact, with a proof, for any number of values. */
@org.jspecify.annotations.NullMarked
package org.eskarn.core.zone;
