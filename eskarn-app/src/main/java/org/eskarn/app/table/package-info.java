/** Calculators that take readings, and references. */
package org.eskarn.app.table;
