/** Calculators of fits, bearings, gaps and temperatures. */
package org.eskarn.app.fit;
