/** Calculators of heat, cold and sizes away from 20 °C. */
package org.eskarn.app.calculator.thermal;
