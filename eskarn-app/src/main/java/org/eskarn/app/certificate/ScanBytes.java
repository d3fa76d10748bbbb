package org.eskarn.app.certificate;

/** What is in a scanned page. */
record ScanBytes(byte[] bytes) {}
