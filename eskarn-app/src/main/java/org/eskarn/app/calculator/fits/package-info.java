/** Calculators of fits, bearings, gaps and pairs. */
package org.eskarn.app.calculator.fits;
