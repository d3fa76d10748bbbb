/** Advice on corrections, in words, for dockets and calculators alike. */
package org.eskarn.app.remedy;
