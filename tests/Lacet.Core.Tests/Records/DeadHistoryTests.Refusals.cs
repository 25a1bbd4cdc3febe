using Lacet.Core.DeadChecks;
using Lacet.Core.Networks;
using Lacet.Core.Records;

namespace Lacet.Core.Tests.Records;

/// <content>What may not be done yet, and what is said of it.</content>
public sealed partial class DeadHistoryTests
{
    [Fact]
    public void What_was_found_live_or_has_a_source_is_no_new_panel()
    {
        var live = DeadStanding.Nothing.After(At(Ending("live"), 0));
        foreach (var exemption in Enum.GetValues<ProofExemption>())
        {
            Assert.StartsWith("It was found live", DeadRefusals.OfExemption(live, exemption), StringComparison.Ordinal);
            Assert.Null(DeadRefusals.OfExemption(DeadStanding.Nothing, exemption));
        }

        var isolated = DeadStanding.Nothing.After(At(Isolated(), 0));
        Assert.StartsWith(
            "LP/Q3 is listed as a source",
            DeadRefusals.OfExemption(isolated, ProofExemption.NewPanel),
            StringComparison.Ordinal
        );
        Assert.Null(DeadRefusals.OfExemption(isolated, ProofExemption.Unplugged));
    }

    [Fact]
    public void Each_thing_that_is_missing_is_said()
    {
        var points = new[]
        {
            new DeadPoint(L1, "X1:1", Potential.Line, Panel),
            new DeadPoint(Guid.NewGuid(), "X1:2", Potential.Neutral, null),
        };
        var full = new DeadProof(
            Instrument.TwoPoleTester,
            "T1",
            "proving unit",
            Before: true,
            After: true,
            [.. DeadPoints.Pairs(points).Select(p => new DeadReading(p.From.LandingId, p.To?.LandingId, null))]
        );
        Assert.Equal(3, full.Readings.Count);
        Assert.Null(DeadRefusals.OfProof(full, points));
        Assert.StartsWith(
            "Prove the instrument on",
            DeadRefusals.OfProof(full with { Before = false }, points),
            StringComparison.Ordinal
        );
        Assert.StartsWith(
            "Prove the instrument again",
            DeadRefusals.OfProof(full with { After = false }, points),
            StringComparison.Ordinal
        );
        Assert.StartsWith(
            "Measure each",
            DeadRefusals.OfProof(full with { Readings = [] }, []),
            StringComparison.Ordinal
        );
        foreach (var (left, says) in full.Readings.Zip(["X1:1 to X1:2", "X1:1 to earth", "X1:2 to earth"]))
        {
            Assert.Equal(
                $"Not measured yet: {says}.",
                DeadRefusals.OfProof(full with { Readings = [.. full.Readings.Where(r => r != left)] }, points)
            );
        }

        // What is live is written down at once, whatever is still to be measured.
        Assert.Null(DeadRefusals.OfProof(full with { After = false, Readings = [new(L1, null, 231)] }, points));

        Assert.StartsWith("List the sources", DeadRefusals.OfLocking(DeadStanding.Nothing), StringComparison.Ordinal);
        foreach (var forgotten in Others)
        {
            var isolated = new RecordedEvent.Isolated([Breaker], [.. Others.Where(k => k != forgotten)]);
            Assert.Contains(
                $"“{forgotten.DisplayName()}”",
                DeadRefusals.OfLocking(DeadStanding.Nothing.After(At(isolated, 0))),
                StringComparison.Ordinal
            );
        }

        Assert.Equal(
            "Hang your own lock first.",
            DeadRefusals.OfProving(DeadStanding.Nothing.After(At(Isolated(), 0)), Ada, Minutes(1))
        );
    }

    [Fact]
    public void Stored_energy_is_waited_for()
    {
        var drive = new IsolatedSource(Guid.NewGuid(), SourceKind.StoredEnergy, "Drive U1");
        var rest = Others.Where(k => k != SourceKind.StoredEnergy).ToArray();
        var without = DeadStanding.Nothing.After(At(new RecordedEvent.Isolated([Breaker, drive], rest), 0));
        Assert.Contains("its plate says", DeadRefusals.OfLocking(without), StringComparison.Ordinal);
        var with = DeadStanding
            .Nothing.After(At(new RecordedEvent.Isolated([Breaker, drive with { DischargeMinutes = 15 }], rest), 0))
            .After(At(new RecordedEvent.LockHung("2"), 1));
        Assert.Equal(
            "Stored energy is not gone yet: wait 5 min more.",
            DeadRefusals.OfProving(with, Ada, Minutes(10.5))
        );
        Assert.Null(DeadRefusals.OfProving(with, Ada, Minutes(15)));
        // Listed again, it does not begin anew; with another source it does.
        var again = new RecordedEvent.Isolated([Breaker, drive with { DischargeMinutes = 15 }], rest);
        Assert.Equal(Minutes(15), with.After(At(again, 9)).DischargedAt);
    }
}
