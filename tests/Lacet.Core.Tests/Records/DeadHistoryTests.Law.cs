using CsCheck;
using Lacet.Core.DeadChecks;
using Lacet.Core.Records;

namespace Lacet.Core.Tests.Records;

/// <content>The law.</content>
public sealed partial class DeadHistoryTests
{
    /// <summary>
    /// Whatever happens in whatever order: it is dead only if the last thing that decides was a proof, and nobody was
    /// away for longer than the pause since. Told by an oracle that looks at the list from its end.
    /// </summary>
    [Fact]
    public void Whatever_happens_it_is_dead_only_after_a_proof_that_nothing_ended() =>
        Gen.Select(Gen.Int[0, 40], Gen.Int[0, 9])
            .List[1, 25]
            .Sample(steps =>
            {
                var (now, events) = (0, new List<RecordedEvent>());
                foreach (var (wait, what) in steps)
                {
                    now += wait;
                    events.Add(At(Any(what), now, what % 2 == 0 ? Ada : Bo));
                }

                var dead = Fold(events).Of(Panel);
                Assert.Equal(Oracle(events), dead.State == DeadState.Dead);
                // A moment later it is no more alive than now, and the day after nothing holds.
                Assert.NotEqual(DeadState.Dead, dead.At(Minutes(now + Pause + 1)).State);
            });

    private static bool Oracle(List<RecordedEvent> events)
    {
        var proof = events.FindLastIndex(e => e is RecordedEvent.ProvedDead p && p.Proof.IsDead());
        if (proof < 0)
        {
            return false;
        }

        var after = events[proof..];
        var listed = events.Take(proof).LastOrDefault(e => e is RecordedEvent.Isolated);
        return after
                .Skip(1)
                .All(e =>
                    e
                        is RecordedEvent.LockHung
                            or RecordedEvent.AtWork
                            or RecordedEvent.Terminated
                            or RecordedEvent.Isolated
                )
            && NobodyWasAway(events, proof)
            && (
                !after.Exists(e => e is RecordedEvent.Isolated)
                || (
                    listed is not null
                    && !events
                        .Skip(events.IndexOf(listed))
                        .Any(e => e is RecordedEvent.SourceFound or RecordedEvent.Energised)
                )
            );
    }

    /// <summary>Whether no gap between what counts as being there is longer than the pause, up to the last event.</summary>
    private static bool NobodyWasAway(List<RecordedEvent> events, int proof)
    {
        var inside = new HashSet<Guid>();
        var last = events[proof].ReceivedAt;
        for (var i = 0; i < events.Count; i++)
        {
            var here = events[i];
            if (i > proof && here.ReceivedAt - last > TimeSpan.FromMinutes(Pause))
            {
                return false;
            }

            switch (here)
            {
                case RecordedEvent.LockHung:
                    inside.Add(here.Person);
                    break;
                case RecordedEvent.LockTaken taken:
                    inside.Remove(taken.Owner);
                    break;
                case RecordedEvent.Energised:
                    inside.Clear();
                    break;
            }

            if (
                i > proof
                && (
                    here is RecordedEvent.LockHung or RecordedEvent.Isolated
                    || (here is RecordedEvent.AtWork or RecordedEvent.Terminated && inside.Contains(here.Person))
                )
            )
            {
                last = here.ReceivedAt;
            }
        }

        return true;
    }

    private static RecordedEvent Any(int what) =>
        what switch
        {
            0 or 1 => Proof(),
            2 => Isolated(),
            3 => new RecordedEvent.LockHung("4"),
            4 => new RecordedEvent.AtWork(),
            5 => new RecordedEvent.Terminated("", IsWanting: false),
            6 => new RecordedEvent.LockTaken(Ada),
            7 => Ending("live"),
            8 => new RecordedEvent.ShiftEnded(),
            _ => new RecordedEvent.Energised(),
        };
}
