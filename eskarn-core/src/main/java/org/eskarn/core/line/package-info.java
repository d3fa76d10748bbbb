/** Requirements as inspectors say them, in one line. It reads what is written and computes nothing. */
package org.eskarn.core.line;
