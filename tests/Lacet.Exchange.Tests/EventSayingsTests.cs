using Lacet.Core.Landings;
using Lacet.Core.Records;
using Lacet.Core.Rework;
using Lacet.Exchange.Documents;

namespace Lacet.Exchange.Tests;

/// <summary>What the Log says of an event.</summary>
public sealed class EventSayingsTests
{
    private static readonly EventDocument Event = new(
        1,
        Guid.NewGuid(),
        1,
        Seal.Origin,
        "t",
        1,
        new(Guid.NewGuid(), ""),
        new(null, null, null),
        DateTimeOffset.UnixEpoch,
        DateTimeOffset.UnixEpoch,
        EventKind.Check,
        null,
        null
    );

    [Theory]
    [InlineData(
        7,
        3,
        FaultVerdict.CutBack,
        "3 of 7 strands lost, hook the wrong way: cut it back.",
        Fault.StrandsCut,
        Fault.WrongWay
    )]
    [InlineData(null, 3, FaultVerdict.CutBack, "3 strands lost: cut it back.", Fault.StrandsCut)]
    [InlineData(null, 2, FaultVerdict.Accept, "2 strands lost: leave it.")]
    [InlineData(7, 0, FaultVerdict.PutRight, "Loose: put it right.", Fault.Loose)]
    public void A_rework_is_one_sentence(
        int? strands,
        int damaged,
        FaultVerdict verdict,
        string says,
        params Fault[] faults
    ) =>
        Assert.Equal(
            says,
            (Event with { Kind = EventKind.Rework, Rework = new(faults, strands, damaged, verdict, null) }).Says()
        );

    [Fact]
    public void A_test_of_a_map_names_the_pins_that_fail() =>
        Assert.Equal(
            "Pin map tested: 1 of 3 pins pass; pin 2 to L2 reads 1.5 Ω; pin 3 to N has no reading.",
            (
                Event with
                {
                    Kind = EventKind.Continuity,
                    Continuity = new(
                        Guid.NewGuid(),
                        [
                            new(1, "L1", 0.2, false, true),
                            new(2, "L2", 1.5, false, false),
                            new(3, "N", null, true, false),
                        ]
                    ),
                }
            ).Says()
        );

    [Fact]
    public void Every_fault_reason_and_verdict_has_words_of_its_own()
    {
        Distinct(
            Enum.GetValues<Fault>().Where(f => f != Fault.StrandsCut).Select(f => Rework([f], FaultVerdict.Accept))
        );
        Distinct(Enum.GetValues<FaultVerdict>().Select(v => Rework([Fault.Nick], v)));
        Distinct(Enum.GetValues<ParkReason>().Select(r => (Event with { Kind = EventKind.Park, Park = r }).Says()));
        Distinct(
            new[] { EventKind.Check, EventKind.SignOff, EventKind.Withdrawal }.Select(k =>
                (Event with { Kind = k }).Says()
            )
        );
        Assert.Null((Event with { Kind = EventKind.Termination }).Says());

        string? Rework(Fault[] faults, FaultVerdict verdict) =>
            (Event with { Kind = EventKind.Rework, Rework = new(faults, null, 0, verdict, null) }).Says();
        static void Distinct(IEnumerable<string?> sayings)
        {
            var all = sayings.ToList();
            Assert.DoesNotContain(null, all);
            Assert.Equal(all.Count, all.Distinct().Count());
        }
    }
}
