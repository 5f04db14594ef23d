package rustictangle.server.frame;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.DoubleSupplier;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** How far work is that takes longer than a moment. */
@Component
public class Progress {

    /**
     * @param what the work as a whole
     * @param step what is done just now, in words
     * @param part of this step, in [0, 1]
     */
    public record Work(String what, String step, double part) {}

    /** Work under way; closed when it ends, well or not. */
    public final class Running implements AutoCloseable {

        private final String what;
        private volatile Supplier<Work> work;

        private Running(String what) {
            this.what = what;
            at("", () -> 0);
            running.add(this);
        }

        /** @param whole of the same unit as done; below 1 counts as 1 */
        public void at(String step, long done, long whole) {
            at(step, () -> done / (double) Math.max(1, whole));
        }

        /** @param part looked at whenever somebody asks */
        public void at(String step, DoubleSupplier part) {
            work = () -> new Work(what, step, Math.min(1, Math.max(0, part.getAsDouble())));
        }

        @Override
        public void close() {
            running.remove(this);
        }
    }

    private final List<Running> running = new CopyOnWriteArrayList<>();

    public Running begin(String what) {
        return new Running(what);
    }

    List<Work> now() {
        return running.stream().map(under -> under.work.get()).toList();
    }
}
