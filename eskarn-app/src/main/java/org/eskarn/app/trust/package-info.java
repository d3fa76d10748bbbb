/** Whether gauges can be trusted: verdicts in question, trace back, inspection and qualification. */
package org.eskarn.app.trust;
