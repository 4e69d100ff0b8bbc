package app.avrel.desktop.parts;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;

/** Works something out behind the window. Only what was asked for last is answered; what waits and is old is not begun. */
public final class BackgroundTask {

    private static final ExecutorService WORKER = Executors.newFixedThreadPool(
            2, Thread.ofPlatform().daemon().name("behind", 1).factory());

    private final AtomicLong asked = new AtomicLong();

    /**
     * Asks for something.
     *
     * @param work done on another thread, over values that do not change
     * @param then told the answer on the window's thread
     */
    public <T> void ask(Supplier<T> work, Consumer<T> then) {
        long mine = asked.incrementAndGet();
        WORKER.execute(() -> {
            if (asked.get() == mine) {
                T answer = work.get();
                Platform.runLater(() -> {
                    if (asked.get() == mine) {
                        then.accept(answer);
                    }
                });
            }
        });
    }

    /** Nothing that was asked for is wanted any longer. */
    public void forget() {
        asked.incrementAndGet();
    }
}
