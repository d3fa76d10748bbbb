/** The judgement of a figure against its limit. */
package org.eskarn.core.verdict;
