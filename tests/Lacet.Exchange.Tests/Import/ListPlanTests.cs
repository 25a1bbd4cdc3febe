using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Import;
using Lacet.Exchange.Jobs;

namespace Lacet.Exchange.Tests.Import;

/// <summary>What a list would do to a job: added, changed, taken out, and all the rest left as it is.</summary>
public sealed class ListPlanTests
{
    private static readonly string[] Columns =
    [
        "Wire",
        "From",
        "From type",
        "To",
        "Size",
        "Type",
        "Colour",
        "Function",
        "Circuit",
        "Breaker",
        "Volts",
        "Load",
        "Length",
        "Run",
        "Ferrule",
    ];

    [Fact]
    public void A_list_brings_its_enclosures_devices_landings_and_circuits_each_once()
    {
        var parts = Start(
            [
                "1",
                "LP/Q1:1",
                "breaker 16 A",
                "X1:1",
                "2.5",
                "fine",
                "black",
                "line",
                "C1",
                "16",
                "230",
                "10",
                "3 m",
                "W4",
                "",
            ],
            ["2", "LP/Q1:2", "", "x1:1", "2.5", "fine", "blue", "neutral", "c1", "16", "", "", "3 m", "W4", ""]
        );
        Assert.Equal(["LP", "Panel"], parts.OfType<Enclosure>().Select(e => e.Name).Order(StringComparer.Ordinal));
        Assert.Equal(
            ["LP/Q1", "Panel/X1"],
            parts
                .OfType<Device>()
                .Select(d => $"{Enclosure(parts, d.EnclosureId)}/{d.Name}")
                .Order(StringComparer.Ordinal)
        );
        Assert.Equal(3, parts.OfType<JobLanding>().Count());
        var circuit = Assert.Single(parts.OfType<Circuit>());
        Assert.Equal((16.0, 230.0, 10.0), (circuit.OcpdAmps, circuit.Volts, circuit.LoadAmps));
        Assert.Equal(DeviceType.Breaker, parts.OfType<Device>().Single(d => d.Name == "Q1").Type);
        Assert.All(parts.OfType<JobWire>(), w => Assert.Equal(circuit.Id, w.CircuitId));
    }

    [Fact]
    public void What_is_put_in_stands_in_an_order_in_which_each_finds_what_it_names()
    {
        var put = Plan([], ["1", "LP/Q1:1", "", "X1:1", "14", "", "", "", "C1", "", "", "", "", "", ""]).Put;
        var seen = new HashSet<Guid>();
        foreach (var part in put)
        {
            foreach (var named in Named(part))
            {
                Assert.Contains(named, seen);
            }

            seen.Add(part.Id);
        }

        static IEnumerable<Guid> Named(JobPart part) =>
            part switch
            {
                Device d => [d.EnclosureId],
                JobLanding { DeviceId: { } device } l => [l.EnclosureId, device],
                JobLanding l => [l.EnclosureId],
                JobWire w => new[] { w.A.LandingId, w.B.LandingId, w.CircuitId }.OfType<Guid>(),
                _ => [],
            };
    }

    [Fact]
    public void The_same_list_again_changes_nothing_at_all()
    {
        string[] row =
        [
            "1",
            "LP/Q1:1",
            "breaker 16 A",
            "X1:1",
            "2.5",
            "fine",
            "black",
            "line",
            "C1",
            "16",
            "230",
            "10",
            "3 m",
            "W4",
            "2.5/8",
        ];
        var again = Plan(Start(row), row);
        Assert.Equal(RowDoes.Nothing, Assert.Single(again.Effects).Does);
        Assert.Empty(again.Put);
        Assert.Empty(again.Removed);
    }

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

    [Fact]
    public void A_name_that_the_list_has_twice_is_two_wires_of_which_the_first_was_there()
    {
        string[] row = ["1", "X1:1", "", "", "14", "", "", "", "", "", "", "", "", "", ""];
        var parts = Start(row);
        var plan = Plan(parts, row, ["1", "X1:2", "", "", "14", "", "", "", "", "", "", "", "", "", ""]);
        Assert.Equal([RowDoes.Nothing, RowDoes.Add], plan.Effects.Select(e => e.Does));
    }

    [Fact]
    public void The_drawing_and_its_revision_are_those_of_every_enclosure_in_the_list()
    {
        var parts = Start(
            ["1", "LP/X1:1", "", "DCP/X1:1", "14", "", "", "", "", "", "", "", "", "", ""],
            ["2", "Other/X1:1", "", "", "14", "", "", "", "", "", "", "", "", "", ""]
        );
        var plan = Plan(
            parts,
            new ListPlanOptions { Drawing = " DR-7 ", Revision = "D" },
            ["1", "LP/X1:1", "", "DCP/X1:1", "14", "", "", "", "", "", "", "", "", "", ""]
        );
        Assert.Equal(
            ["DCP DR-7 D", "LP DR-7 D"],
            plan.Put.OfType<Enclosure>().Select(e => $"{e.Name} {e.Drawing} {e.Revision}").Order(StringComparer.Ordinal)
        );
        // A list that says neither leaves them.
        parts = [.. parts.Where(p => plan.Put.All(q => q.Id != p.Id)), .. plan.Put];
        Assert.Empty(Plan(parts, ["1", "LP/X1:1", "", "DCP/X1:1", "14", "", "", "", "", "", "", "", "", "", ""]).Put);
    }

    [Theory]
    [InlineData("")]
    [InlineData("   ")]
    public void Ends_that_name_no_enclosure_need_one(string enclosure)
    {
        var refused = Assert.Throws<ImpossibleInputException>(() =>
            Plan(
                [],
                new ListPlanOptions(enclosure),
                ["1", "X1:1", "", "", "14", "", "", "", "", "", "", "", "", "", ""]
            )
        );
        Assert.Equal("enclosure", refused.Field);
    }

    [Fact]
    public void A_row_that_is_wrong_takes_no_part()
    {
        var plan = Plan(
            [],
            ["1", "X1:1", "", "", "fat", "", "", "", "", "", "", "", "", "", ""],
            ["2", "X1:2", "", "", "14", "", "", "", "", "", "", "", "", "", ""]
        );
        Assert.Equal([RowDoes.Wrong, RowDoes.Add], plan.Effects.Select(e => e.Does));
        Assert.Equal(["2"], plan.Put.OfType<JobWire>().Select(w => w.Name));
        Assert.DoesNotContain(plan.Put.OfType<JobLanding>(), l => l.Name == "X1:1");
    }

    [Fact]
    public void New_parts_stand_after_those_that_are_there()
    {
        var parts = Start(["1", "X1:1", "", "", "14", "", "", "", "", "", "", "", "", "", ""]);
        var plan = Plan(parts, ["2", "X1:2", "", "", "14", "", "", "", "", "", "", "", "", "", ""]);
        Assert.True(plan.Put.OfType<JobWire>().Single().Order > parts.OfType<JobWire>().Single().Order);
        Assert.True(plan.Put.OfType<JobLanding>().Single().Order > parts.OfType<JobLanding>().Single().Order);
    }

    [Fact]
    public void Whatever_a_list_says_the_job_takes_it_and_the_list_again_does_nothing() =>
        Lists.Sample(
            rows =>
            {
                var plan = Plan([], rows);
                var job = new Job(new JobTitle(Guid.NewGuid(), "J"), plan.Put);
                Assert.Equal(plan.Put.Count, job.Parts.Count());
                Assert.All(Plan([.. plan.Put], rows).Effects, e => Assert.NotEqual(RowDoes.Change, e.Does));
            },
            iter: 200
        );

    private static Gen<string[][]> Lists { get; } =
        (
            from name in Picks.Pick("1", "2", "3", "x")
            from device in Picks.Pick("X1", "LP/X1", "LP/Q1", "+DCP-K1")
            from terminal in Gen.Int[1, 4]
            from type in Picks.Pick("", "push-in", "screw clamp for two", "receptacle 15 A, brass", "twist-on")
            from size in Picks.Pick("14", "2.5", "1/0", "2x0.75", "")
            from circuit in Picks.Pick("", "C1", "C2")
            select new[] { name, $"{device}:{terminal}", type, "", size, "", "", "", circuit, "", "", "", "", "", "" }
        ).Array[1, 12];

    private static string Enclosure(IReadOnlyList<JobPart> parts, Guid id) =>
        parts.OfType<Enclosure>().Single(e => e.Id == id).Name;

    private static IReadOnlyList<JobPart> Start(params string[][] rows) => Plan([], rows).Put;

    private static ListPlan Plan(IReadOnlyList<JobPart> parts, params string[][] rows) => Plan(parts, new(), rows);

    private static ListPlan Plan(IReadOnlyList<JobPart> parts, ListPlanOptions options, params string[][] rows)
    {
        var list = new WireListReader(
            Headings.Read(Columns),
            new Dictionary<string, string>(StringComparer.Ordinal),
            _ => null
        ).Read(new Sheet("s", [Columns, .. rows]), 0, new Dictionary<(int, ColumnMeaning), string>(), null, default);
        return ListPlan.Of(parts, list, options, Guid.NewGuid);
    }
}
