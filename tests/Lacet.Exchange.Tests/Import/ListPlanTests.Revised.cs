using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Import;
using Lacet.Exchange.Jobs;

namespace Lacet.Exchange.Tests.Import;

public sealed partial class ListPlanTests
{
    [Fact]
    public void What_a_revised_list_does_not_say_stays()
    {
        var parts = Start([
            "1",
            "X1:1",
            "push-in",
            "X2:1",
            "2.5",
            "fine",
            "black",
            "line",
            "C1",
            "16",
            "",
            "",
            "3 m",
            "W4",
            "2.5/8",
        ]);
        var before = parts.OfType<JobWire>().Single();
        var after = (JobWire)
            Plan(parts, ["1", "X1:1", "", "X2:9", "", "", "", "", "", "", "", "", "", "", ""])
                .Put.Single(p => p is JobWire);
        Assert.Equal(before with { B = before.B with { LandingId = after.B.LandingId } }, after);
        Assert.NotEqual(before.B.LandingId, after.B.LandingId);
        // The end itself is the same: records keep its id.
        Assert.Equal(before.B.Id, after.B.Id);
    }

    [Fact]
    public void Each_change_is_told_with_what_was_and_what_is()
    {
        var parts = Start([
            "1",
            "X1:1",
            "",
            "X2:1",
            "2.5",
            "fine",
            "black",
            "line",
            "C1",
            "16",
            "",
            "",
            "3 m",
            "W4",
            "2.5",
        ]);
        var effect = Assert.Single(
            Plan(
                parts,
                ["1", "X1:2", "", "X2:1", "4", "fine", "red", "switched", "C2", "", "", "", "3.5 m", "W5", "none"]
            ).Effects
        );
        Assert.Equal(RowDoes.Change, effect.Does);
        Assert.Equal(
            [
                "From: X1:1 → X1:2",
                "Size: 2.5 mm² fine-stranded copper → 4 AWG fine-stranded copper",
                "Colour: black → red",
                "Function: line → switched line",
                "Circuit: C1 → C2",
                "Length: 3 m → 3.5 m",
                "Run: W4 → W5",
                "Ferrule: 2.5 mm² → none",
            ],
            effect.Changes.Select(c => $"{c.Column}: {c.Was} → {c.Is}")
        );
    }

    [Fact]
    public void A_landing_that_somebody_described_is_not_overwritten_by_what_a_list_calls_it()
    {
        var parts = Start(["1", "X1:1", "push-in", "", "14", "", "", "", "", "", "", "", "", "", ""]);
        var mine = parts.OfType<JobLanding>().Single() with
        {
            Landing = new ScrewClampBlock(new(0.5, 4), null),
            Identity = TerminalIdentity.Brass,
        };
        parts = [.. parts.Where(p => p.Id != mine.Id), mine];
        var plan = Plan(parts, ["1", "X1:1", "spring cage, silver", "", "12", "", "", "", "", "", "", "", "", "", ""]);
        Assert.DoesNotContain(plan.Put, p => p is JobLanding);
        Assert.Equal("12", ((JobWire)plan.Put.Single()).Conductor!.Size.Name.Split(' ')[0]);
    }

    /// <summary>How many plugs a device takes may stand in any of its rows; what somebody described stays.</summary>
    [Fact]
    public void A_single_receptacle_is_one_whichever_row_says_so()
    {
        string[] first = ["1", "R1:hot", "", "", "14", "", "", "", "", "", "", "", "", "", ""];
        string[] second = ["2", "R1:neutral", "receptacle, single", "", "14", "", "", "", "", "", "", "", "", "", ""];
        var parts = Start(first, second);
        Assert.Equal((DeviceType.Receptacle, 1), (Receptacle(parts).Type, Receptacle(parts).Outlets));
        Assert.Equal(1, Receptacle([.. Plan(Start(first), second).Put]).Outlets);
        second[2] = "receptacle, duplex";
        Assert.DoesNotContain(Plan(parts, first, second).Put, p => p is Device);

        static Device Receptacle(IEnumerable<JobPart> of) => of.OfType<Device>().Single();
    }

    [Fact]
    public void A_landing_that_nobody_described_takes_what_the_list_says()
    {
        var parts = Start(["1", "X1:1", "", "", "14", "", "", "", "", "", "", "", "", "", ""]);
        Assert.Null(parts.OfType<JobLanding>().Single().Landing);
        var plan = Plan(parts, ["1", "X1:1", "spring cage", "", "14", "", "", "", "", "", "", "", "", "", ""]);
        Assert.Equal("spring-cage-block", ((JobLanding)plan.Put.Single()).Landing!.Kind);
    }

    [Fact]
    public void An_insulation_that_somebody_measured_stays_while_the_size_does()
    {
        string[] row = ["1", "X1:1", "", "", "14", "solid", "", "", "", "", "", "", "", "", ""];
        var parts = Start(row);
        var measured = parts.OfType<JobWire>().Single();
        measured = measured with
        {
            Conductor = Conductor.Of(measured.Conductor!.Size, Build.Solid, Material.Copper, new(3.3)),
        };
        parts = [.. parts.Where(p => p.Id != measured.Id), measured];
        Assert.Empty(Plan(parts, row).Put);
        row[4] = "12";
        Assert.False(((JobWire)Plan(parts, row).Put.Single()).Conductor!.InsulationIsGiven);
    }

    [Fact]
    public void A_list_that_replaces_takes_out_wires_of_its_enclosures_only()
    {
        var parts = Start(
            ["1", "LP/X1:1", "", "", "14", "", "", "", "", "", "", "", "", "", ""],
            ["2", "LP/X1:2", "", "", "14", "", "", "", "", "", "", "", "", "", ""],
            ["3", "DCP/X1:1", "", "", "14", "", "", "", "", "", "", "", "", "", ""],
            ["4", "", "", "", "14", "", "", "", "", "", "", "", "", "", ""]
        );
        string[] row = ["1", "LP/X1:1", "", "", "14", "", "", "", "", "", "", "", "", "", ""];
        Assert.Equal(["2"], Plan(parts, new ListPlanOptions { Replaces = true }, row).Removed.Select(w => w.Name));
        Assert.Empty(Plan(parts, row).Removed);
        // What is retired is out of the list already.
        var retired = parts.OfType<JobWire>().Single(w => w.Name == "2") with { Retired = true };
        Assert.Empty(
            Plan(
                [.. parts.Where(p => p.Id != retired.Id), retired],
                new ListPlanOptions { Replaces = true },
                row
            ).Removed
        );
    }

    [Fact]
    public void A_name_that_was_retired_is_free_for_another_wire()
    {
        var parts = Start(["1", "X1:1", "", "", "14", "", "", "", "", "", "", "", "", "", ""]);
        var retired = parts.OfType<JobWire>().Single() with { Retired = true };
        var plan = Plan(
            [.. parts.Where(p => p.Id != retired.Id), retired],
            ["1", "X1:1", "", "", "14", "", "", "", "", "", "", "", "", "", ""]
        );
        Assert.Equal(RowDoes.Add, Assert.Single(plan.Effects).Does);
        Assert.NotEqual(retired.Id, plan.Put.OfType<JobWire>().Single().Id);
    }
}
