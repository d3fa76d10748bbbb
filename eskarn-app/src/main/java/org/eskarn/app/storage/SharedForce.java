package org.eskarn.app.storage;

/**
 * Forces to disk for several at once: whoever asks while it is being done waits for the next time, which one of those who wait does for all of
 * them. What is asked for is always begun after it was asked.
 */
final class SharedForce {

    private long asked;
    private long done;
    private boolean underWay;

    /** What forces; it may fail. */
    @FunctionalInterface
    interface Force<E extends Exception> {
        void run() throws E;
    }

    /** Returns when something that forces was begun after the call, and ended well. */
    <E extends Exception> void ask(Force<E> force) throws E, InterruptedException {
        long upTo = begin();
        if (upTo == 0) {
            return;
        }
        boolean well = false;
        try {
            force.run();
            well = true;
        } finally {
            end(upTo, well);
        }
    }

    /** 0 where another did it meanwhile, else up to whom it is to be done now. */
    private synchronized long begin() throws InterruptedException {
        long mine = ++asked;
        while (underWay && done < mine) {
            wait();
        }
        if (done >= mine) {
            return 0;
        }
        underWay = true;
        return asked;
    }

    private synchronized void end(long upTo, boolean well) {
        underWay = false;
        if (well) {
            done = Math.max(done, upTo);
        }
        notifyAll();
    }
}
