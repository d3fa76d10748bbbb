/** How it is computed: one class per characteristic, their registry, and the one path from a sweep to its verdict. */
package org.eskarn.core.evaluation;
