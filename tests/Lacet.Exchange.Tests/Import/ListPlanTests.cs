using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Import;
using Lacet.Exchange.Jobs;

namespace Lacet.Exchange.Tests.Import;

/// <summary>What a list would do to a job: added, changed, taken out, and all the rest left as it is.</summary>
public sealed partial class ListPlanTests
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
            SheetColumns.At(new Sheet("s", [Columns]), 0).Columns,
            new Dictionary<string, string>(StringComparer.Ordinal),
            _ => null
        ).Read(new Sheet("s", [Columns, .. rows]), 0, new Dictionary<(int, ColumnMeaning), string>(), null, default);
        return ListPlan.Of(parts, list, options, Guid.NewGuid);
    }
}
