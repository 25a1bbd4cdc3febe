using Lacet.Core.Cords;
using Lacet.Core.Drawings;
using Lacet.Core.PinMaps;
using Lacet.Core.Planning;
using Lacet.Core.Rework;

namespace Lacet.Core.Tests.Crafts;

/// <summary>What holds of any cord, any pin map, any spoiled end.</summary>
public sealed class CordLawTests
{
    private static readonly Gen<InsulationColour?> Colours = Picks<InsulationColour?>(
        null,
        new InsulationColour(Hue.Black),
        new InsulationColour(Hue.White),
        new InsulationColour(Hue.Blue),
        new InsulationColour(Hue.Brown),
        new InsulationColour(Hue.Green, Hue.Yellow),
        new InsulationColour(Hue.Pink)
    );

    private static readonly Gen<SeenConductor> Seen = Gen.Select(
        Colours,
        Gen.Enum<IdentityCue>().List[0, 3],
        (colour, cues) => new SeenConductor(colour, cues)
    );

    private static readonly Gen<Region> Regions = Gen.Enum<Region>();

    private static readonly Gen<PinMap> Maps = Gen.Select(
        Gen.Select(Gen.Int[0, 9], Gen.Enum<PinFunction>(), Gen.Int[0, 5], Gen.Double[0, 3]).List[0, 8],
        Gen.Bool,
        Gen.Int[1, 2],
        Gen.Enum<PinFunction>().List[0, 3],
        Gen.Bool,
        (pins, seen, speeds, fed, legs) =>
            new PinMap(
                "m",
                8,
                1,
                [
                    .. pins.Select(p => new MappedPin(
                        p.Item1,
                        p.Item2,
                        p.Item3 == 0 ? "" : $"T{p.Item3}",
                        "",
                        p.Item4 > 2 ? null : p.Item4
                    )),
                ]
            )
            {
                KeySeen = seen,
                Speeds = speeds,
                Fed = fed,
                TakenForLegs = legs,
            }
    );

    [Fact]
    public void In_whatever_order_conductors_are_looked_at_each_is_the_same() =>
        Gen.Select(Seen.List[2, 3], Regions)
            .Sample(
                (seen, region) =>
                {
                    var (forth, back) = (
                        CordIdentity.Of(seen, region),
                        CordIdentity.Of([.. Enumerable.Reverse(seen)], region)
                    );
                    Assert.Equal(forth.Conductors.Select(Told), back.Conductors.Reverse().Select(Told));
                    Assert.Equal(forth.Meter, back.Meter);
                    static (CordRole Role, Certainty Certainty) Told(IdentifiedConductor conductor) =>
                        (conductor.Role, conductor.Certainty);
                }
            );

    [Fact]
    public void Nobody_is_told_that_two_conductors_are_the_same_and_be_sure_of_it() =>
        Gen.Select(Seen.List[2, 3], Regions)
            .Sample(
                (seen, region) =>
                {
                    var identity = CordIdentity.Of(seen, region);
                    var sure = identity
                        .Conductors.Where(c => c.Certainty != Certainty.MeterIt)
                        .Select(c => c.Role)
                        .ToList();
                    Assert.Equal(sure.Distinct(), sure);
                    Assert.DoesNotContain(CordRole.Unknown, sure);
                    Assert.Equal(
                        identity.Conductors.Any(c => c.Certainty == Certainty.MeterIt),
                        identity.Meter.Count > 0
                    );
                }
            );

    [Fact]
    public void A_cue_that_disagrees_always_sends_to_the_meter() =>
        Gen.Select(
                Gen.Enum<IdentityCue>()
                    .Where(c => c is not (IdentityCue.Remarked or IdentityCue.Smooth or IdentityCue.Printed)),
                Regions
            )
            .Sample(
                (cue, region) =>
                {
                    var against = cue is IdentityCue.EarthPin or IdentityCue.GreenScrew or IdentityCue.ConnectorEarth
                        ? IdentityCue.BrassScrew
                        : IdentityCue.GreenScrew;
                    var identity = CordIdentity.Of([new(null, [cue, against]), new(null, [])], region);
                    Assert.Equal(
                        (CordRole.Unknown, Certainty.MeterIt),
                        (identity.Conductors[0].Role, identity.Conductors[0].Certainty)
                    );
                    Assert.Equal(2, identity.Conductors[0].Cues.Count);
                }
            );

    [Fact]
    public void Any_map_is_judged_and_nothing_is_tested_before_its_key_was_seen() =>
        Maps.Sample(map =>
        {
            var found = PinMapChecks.Of(map);
            Assert.Equal(found.OrderBy(f => f.Severity).Select(f => f.Check), found.Select(f => f.Check));
            Assert.All(found, f =>
                Assert.EndsWith(".", f.Says.ToString(ReaderFormat.Metric), StringComparison.Ordinal)
            );
            Assert.Equal(!map.KeySeen, found.Any(f => f.Check == "pin-key-not-seen"));
            var steps = ContinuityStep.Of(map);
            Assert.Equal(map.KeySeen ? map.Pins.Count(p => p.Terminal.Length > 0) : 0, steps.Count);
            // What fails its test is a stop.
            Assert.True(
                !steps.Any(s => s.Passed == false)
                    || found.Any(f => f is { Check: "pin-open", Severity: Severity.Stop })
            );
        });

    [Fact]
    public void In_whatever_order_pins_are_listed_the_same_is_found() =>
        Maps.Sample(map =>
            Assert.Equal(
                PinMapChecks.Of(map).Select(Said).Order(StringComparer.Ordinal),
                PinMapChecks.Of(map with { Pins = [.. map.Pins.Reverse()] }).Select(Said).Order(StringComparer.Ordinal)
            )
        );

    [Fact]
    public void One_fault_more_never_makes_an_end_better_and_an_end_never_has_less_than_nothing_left() =>
        Gen.Select(Generators.Wires, Gen.Enum<Fault>().List[0, 4], Gen.Enum<Fault>(), Gen.Int[0, 2], Gen.Double[0, 400])
            .Sample(
                (wire, faults, more, lost, free) =>
                {
                    var end = new SpoiledEnd(
                        wire,
                        faults.Aggregate(
                            new AsMade(null, null) { StrandsLost = Math.Min(lost, wire.Strands) },
                            (made, fault) => made.With(fault)
                        ),
                        StrandLoss.General
                    )
                    {
                        Strip = new(12),
                        Free = new(free),
                    };
                    var (before, after) = (
                        ReworkAssessment.Of(end),
                        ReworkAssessment.Of(end with { Made = end.Made.With(more) })
                    );
                    Assert.True(after.Verdict >= before.Verdict);
                    Assert.True(after.Left!.Value.Millimetres >= 0 && after.Left <= before.Left);
                    Assert.Equal(after.Left < FreeLength.Least, after.NeedsPigtail);
                    Assert.Equal(
                        after.Faults.OrderByDescending(f => f.Verdict).Select(f => f.Fault),
                        after.Faults.Select(f => f.Fault)
                    );
                }
            );

    [Fact]
    public void Every_sentence_of_a_fault_is_one_in_either_unit() =>
        Gen.Select(Generators.Wires, Gen.Enum<Fault>(), Gen.Bool)
            .Sample(
                (wire, fault, lug) =>
                {
                    var judged = ReworkAssessment
                        .Of(new(wire, new AsMade(null, null).With(fault), StrandLoss.General) { InLug = lug })
                        .Faults.Single();
                    foreach (var text in new[] { judged.Says, judged.Do })
                    {
                        Assert.EndsWith(".", text.ToString(ReaderFormat.Metric), StringComparison.Ordinal);
                        Assert.EndsWith(".", text.ToString(ReaderFormat.Imperial), StringComparison.Ordinal);
                    }
                }
            );

    [Fact]
    public void However_far_the_screws_stand_the_drawing_has_each_conductor_at_its_length_and_the_earth_the_longest() =>
        Gen.Select(Gen.Double[12, 60], Gen.Double[12, 60], Gen.Double[12, 60], Gen.Bool)
            .Sample(
                (line, neutral, earth, three) =>
                {
                    var wire = Ends.Wire("16", Build.FineStranded);
                    var plan = PlugRefit.Of(wire, null, line, neutral, three ? earth : null, HouseRules.Default);
                    var scene = CordEndDrawing.Of(plan, wire);
                    foreach (var terminal in plan.Terminals)
                    {
                        var bare = scene.Parts.Single(p => p.Id == $"bare-{terminal.Role}").Box;
                        Assert.Equal(terminal.Length.Millimetres, bare.Right, 6);
                        Assert.Equal(plan.Strip.Target.Millimetres, bare.Width, 6);
                        Assert.True(scene.Parts.Single(p => p.Id == $"screw-{terminal.Role}").Box.Left > bare.Right);
                    }

                    Assert.Equal(plan.JacketOff.Millimetres, plan.Terminals.Max(t => t.Length.Millimetres), 9);
                    Assert.True(
                        !three
                            || plan.Terminals[2].Length.Millimetres
                                >= plan.Terminals.Take(2).Max(t => t.Length.Millimetres) + 10 - 1e-9
                    );
                }
            );

    private static string Said(Finding finding) => finding.Check;

    private static Gen<T> Picks<T>(params T[] of) => Gen.Int[0, of.Length - 1].Select(i => of[i]);
}
