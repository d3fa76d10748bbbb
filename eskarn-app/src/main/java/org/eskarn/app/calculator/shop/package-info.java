/** Calculators for the bench and the machine, which take no sweep. */
package org.eskarn.app.calculator.shop;
