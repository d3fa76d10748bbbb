/** What is asked of a feature, and the one path from a sweep to its verdict. */
package org.eskarn.core.requirement;
