/** Several pieces of one part, one requirement side by side. */
package org.eskarn.core.pieces;
