/** What a maker claims of a figure, on paper and against what was measured. */
package org.eskarn.core.claim;
