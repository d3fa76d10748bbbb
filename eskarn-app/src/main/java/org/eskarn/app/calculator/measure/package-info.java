/** Calculators that take the readings of a sweep. */
package org.eskarn.app.calculator.measure;
