/** Calculators: described, typed into, answered and found by one engine. What each computes stands in its own room. */
package org.eskarn.app.calculator;
