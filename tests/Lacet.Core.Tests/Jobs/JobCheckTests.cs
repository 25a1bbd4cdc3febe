using Lacet.Core.Checks.End;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Cords;
using Lacet.Core.Jobs;
using Lacet.Core.PinMaps;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Jobs;

/// <summary>
/// For each check of a job one where it fires and one where it is silent; the numbers are from the sources that the
/// checks name, from memory.
/// </summary>
public sealed partial class JobCheckTests
{
    public static TheoryData<string> Ids => [.. Examples.Keys, .. Networks.Keys, .. Marked.Keys];

    [Theory]
    [Trait("Advice", "1.5")]
    [Trait("Advice", "2.2")]
    [MemberData(nameof(Ids))]
    public void A_check_fires_once_where_it_must_and_only_there(string id)
    {
        var (fires, severity, silent) =
            Examples.TryGetValue(id, out var example) || Networks.TryGetValue(id, out example) ? example : Marked[id];
        var finding = Assert.Single(fires.Judged().Findings, f => f.Finding.Check == id).Finding;
        Assert.Equal(severity, finding.Severity);
        Assert.EndsWith(".", Ends.Read(finding.Says), StringComparison.Ordinal);
        Assert.EndsWith(".", Ends.Read(finding.Do), StringComparison.Ordinal);
        Assert.NotEmpty(finding.Source);
        Assert.NotEmpty(finding.RestsOn);
        Assert.DoesNotContain(silent.Judged().Findings, f => f.Finding.Check == id);
    }

    [Fact]
    public void Every_check_class_is_in_the_registry_and_has_an_example()
    {
        string[] ids =
        [
            .. JobChecks.Ends.Select(c => c.Id),
            .. JobChecks.Wires.Select(c => c.Id),
            .. JobChecks.Landings.Select(c => c.Id),
            .. JobChecks.Joined.Select(c => c.Id),
            .. JobChecks.Devices.Select(c => c.Id),
            .. JobChecks.Circuits.Select(c => c.Id),
            .. JobChecks.Runs.Select(c => c.Id),
            .. JobChecks.Cords.Select(c => c.Id),
            .. JobChecks.Cables.Select(c => c.Id),
            .. JobChecks.PinMaps.Select(c => c.Id),
            .. JobChecks.Enclosures.Select(c => c.Id),
        ];
        var classes = typeof(JobChecks)
            .Assembly.GetTypes()
            .Where(t =>
                t is { IsAbstract: false, IsInterface: false }
                && t.GetInterfaces().Any(i => i.IsGenericType && i.GetGenericTypeDefinition() == typeof(IJobCheck<>))
            );
        Assert.Equal(classes.Count(), ids.Distinct(StringComparer.Ordinal).Count());
        Assert.Empty(ids.Except([.. Examples.Keys, .. Networks.Keys, .. Marked.Keys], StringComparer.Ordinal));
        Assert.Empty(ids.Intersect(EndChecks.Planned.Select(c => c.Id), StringComparer.Ordinal));
    }

    /// <summary>Common practice: what a sign asks for sets how hard it is.</summary>
    [Theory]
    [InlineData(CordCue.ReliefGone, Severity.Fix, "Put it right.")]
    [InlineData(CordCue.BladesBent, Severity.Fix, "Replace the cord.")] // the house rule: a moulded cord
    [InlineData(CordCue.EarthPinGone, Severity.Stop, "Scrap it.")]
    public void A_cord_is_found_by_its_worst_sign_and_by_the_house_rule(CordCue cue, Severity severity, string what)
    {
        var finding = Assert.Single(new Sketch().Cord("lamp", CordCue.PrintGone, cue).Judged().Findings).Finding;
        Assert.Equal(severity, finding.Severity);
        Assert.StartsWith(what, Ends.Read(finding.Do), StringComparison.Ordinal);
    }

    [Fact]
    public void A_box_that_is_filled_is_found_and_what_no_table_covers_is_said()
    {
        var judged = Filled(9).Wire("3", "R.green", null, WireFunction.Earth).Judged();
        Assert.Contains(
            "needs 10 in³",
            Ends.Read(judged.Findings.Single(f => f.Finding.Check == "box-overfilled").Finding.Says),
            StringComparison.Ordinal
        );
        var wire = judged.Job.Wires.Values.Single(w => w.Name == "3");
        var (undo, _) = judged.Apply([EntityChange.Put(wire with { A = wire.A with { LandingId = null } })]);
        Assert.DoesNotContain(judged.Findings, f => f.Finding.Check == "box-overfilled");
        judged.Apply(undo);
        // A metric size counts as the next larger gauge: 2.5 mm² as 12 AWG (3.31 mm²), 2.25 in³.
        judged.Apply([EntityChange.Put(wire with { Conductor = Ends.Wire("2.5 mm²") })]);
        Assert.Contains(
            "needs 10.75 in³",
            Ends.Read(judged.Findings.Single(f => f.Finding.Check == "box-overfilled").Finding.Says),
            StringComparison.Ordinal
        );
        judged.Apply([EntityChange.Put(wire with { Conductor = Ends.Wire("4", Build.Stranded) })]);
        Assert.StartsWith(
            "Not judged",
            Ends.Read(judged.Findings.Single(f => f.Finding.Check == "box-overfilled").Finding.Says),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void What_stands_against_a_pin_map_is_among_the_findings_each_kind_once_and_goes_when_it_is_put_right()
    {
        var map = new PinMap(
            "fan",
            3,
            1,
            [new(1, PinFunction.Line, ""), new(2, PinFunction.Common, ""), new(3, PinFunction.Earth, "PE")]
        );
        var judged = new Sketch().Map("fan", map).Judged();
        Assert.Equal(["pin-key-not-seen", "pin-leads-nowhere"], judged.Findings.Select(f => f.Finding.Check));
        var kept = judged.Job.PinMaps.Values.Single();
        var (undo, _) = judged.Apply([
            EntityChange.Put(
                kept with
                {
                    Map = kept.Map with
                    {
                        KeySeen = true,
                        Pins = [.. map.Pins.Select((p, i) => p with { Terminal = $"T{i}" })],
                    },
                }
            ),
        ]);
        Assert.Empty(judged.Findings);
        judged.Apply(undo);
        Assert.Equal(2, judged.Findings.Count());
        judged.Apply([new(EntityKind.PinMap, kept.Id, null)]);
        Assert.Empty(judged.Findings);
    }

    [Fact]
    public void A_right_job_has_no_findings() => Assert.Empty(Outlet().Judged().Findings);
}
