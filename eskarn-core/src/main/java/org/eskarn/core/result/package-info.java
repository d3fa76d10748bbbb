/** What came of it: figures, tables and notes, which are codes with arguments; the words stand elsewhere. */
package org.eskarn.core.result;
