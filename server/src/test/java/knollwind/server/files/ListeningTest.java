package knollwind.server.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import knollwind.core.speech.Stopped;
import org.junit.jupiter.api.Test;

class ListeningTest {
    private final Listening listening = new Listening();

    @Test
    void what_is_stopped_ends_and_its_thread_goes_on_to_other_things() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CompletableFuture<Boolean> going = CompletableFuture.supplyAsync(() -> {
            assertThatThrownBy(() -> listening.as("run", () -> {
                        begun.countDown();
                        while (true) {
                            Stopped.check();
                            Thread.onSpinWait();
                        }
                    }))
                    .isInstanceOf(Stopped.class);
            return Thread.currentThread().isInterrupted();
        });
        assertThat(begun.await(5, TimeUnit.SECONDS)).isTrue();
        listening.stop("another");
        listening.stop("run");
        assertThat(going.get(5, TimeUnit.SECONDS)).isFalse();
    }

    @Test
    void what_has_ended_is_not_stopped_any_more() {
        assertThat(listening.as("run", () -> 5)).isEqualTo(5);
        listening.stop("run");
        assertThat(Thread.currentThread().isInterrupted()).isFalse();
        assertThat(listening.<Integer>as(null, () -> 6)).isEqualTo(6);
    }
}
