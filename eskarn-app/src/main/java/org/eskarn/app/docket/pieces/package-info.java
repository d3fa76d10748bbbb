/** Pieces of one part side by side, and what their figures say together. */
package org.eskarn.app.docket.pieces;
