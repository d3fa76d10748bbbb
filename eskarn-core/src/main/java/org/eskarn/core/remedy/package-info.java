/** Corrections: how much, which way, with what is at hand, what it will come to, and whether it did. */
@org.jspecify.annotations.NullMarked
package org.eskarn.core.remedy;
