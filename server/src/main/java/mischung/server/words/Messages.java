package mischung.server.words;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mischung.aftercare.AfterMessage;
import mischung.caution.CautionMessage;
import mischung.hair.HairMessage;
import mischung.history.HistoryMessage;
import mischung.job.JobMessage;
import mischung.job.LogMessage;
import mischung.mix.MixMessage;
import mischung.plan.FindingMessage;
import mischung.plan.ReasonMessage;
import mischung.plan.StepMessage;
import mischung.plan.StrategyMessage;
import mischung.plan.WarningMessage;
import mischung.process.ChangeMessage;
import mischung.product.ProductMessage;
import mischung.route.FallbackMessage;
import mischung.route.PromiseMessage;
import mischung.route.RouteMessage;
import mischung.said.Message;
import mischung.said.RefusalMessage;
import mischung.said.Verbatim;
import mischung.sequence.TaskMessage;
import mischung.validation.CheckMessage;
import mischung.validation.ExpectedMessage;
import mischung.wish.WishMessage;

/** Every message there is, by the key under which it is kept. */
public final class Messages {
    private static final Map<String, Message> ALL = Stream.<Collection<Message>>of(
                    List.<Message>of(AfterMessage.values()),
                    List.<Message>of(BeginningMessage.values()),
                    CautionMessage.all(),
                    List.<Message>of(ChangeMessage.values()),
                    List.<Message>of(CheckMessage.values()),
                    List.<Message>of(ExpectedMessage.values()),
                    List.<Message>of(FallbackMessage.values()),
                    List.<Message>of(FindingMessage.values()),
                    List.<Message>of(HairMessage.values()),
                    List.<Message>of(HistoryMessage.values()),
                    List.<Message>of(JobMessage.values()),
                    List.<Message>of(LogMessage.values()),
                    List.<Message>of(MixMessage.values()),
                    List.<Message>of(PageMessage.values()),
                    List.<Message>of(ProductMessage.values()),
                    List.<Message>of(ProblemMessage.values()),
                    List.<Message>of(PromiseMessage.values()),
                    List.<Message>of(RefusalMessage.values()),
                    List.<Message>of(ReasonMessage.values()),
                    List.<Message>of(RouteMessage.values()),
                    List.<Message>of(SheetMessage.values()),
                    List.<Message>of(StepMessage.values()),
                    List.<Message>of(StrategyMessage.values()),
                    List.<Message>of(TaskMessage.values()),
                    List.<Message>of(Verbatim.values()),
                    List.<Message>of(WarningMessage.values()),
                    List.<Message>of(WishMessage.values()))
            .flatMap(Collection::stream)
            .collect(Collectors.toUnmodifiableMap(Message::key, Function.identity()));

    private Messages() {}

    public static Set<Message> all() {
        return Set.copyOf(ALL.values());
    }

    /** @throws IllegalStateException if a newer program has kept it */
    public static Message of(String key) {
        Message message = ALL.get(key);
        if (message == null) {
            throw new IllegalStateException("A message of a newer program: " + key);
        }
        return message;
    }
}
