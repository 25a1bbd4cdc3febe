using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Exchange.Import;
using Lacet.Exchange.Jobs;

namespace Lacet.Exchange.Tests.Import;

/// <summary>Lists that name cables: what is a cable and what a raceway, and what becomes of them when a list is revised.</summary>
public sealed class CableRowTests
{
    private static readonly string[] Headings = ["Wire", "Cable no", "From", "To", "Type"];

    [Theory]
    [InlineData("Cable no", "Conduit 4", "12 AWG THHN", null)]
    [InlineData("Cable no", "C-101", "12 AWG THHN", "C-101")]
    [InlineData("Conduit", "C-101", "12 AWG THHN", null)]
    [InlineData("Conduit", "Cord D1", "12 AWG THHN", "Cord D1")]
    [InlineData("Conduit", "D1", "16/3 SJOOW", "D1")]
    [InlineData("Run", "EMT 3/4", "14 THHN", null)]
    [InlineData("Kabelnummer", "Kabelkanal 3", "1.5 H07V-K", null)]
    public void The_cell_says_first_whether_it_is_a_cable(string heading, string cell, string type, string? cable)
    {
        var plan = PlannedList.Of(
            [],
            Csv([
                ["Wire", heading, "From", "To", "Type"],
                ["1", cell, "X1:1", "X2:1", type],
            ])
        );
        var wire = plan.Effects[0].Row.Wire!;
        Assert.Equal((cable, cable is null ? cell : null), (wire.Cable, wire.Run));
    }

    /// <summary>Where the others land, only a person knows: none is made up (common practice).</summary>
    [Fact]
    public void A_row_that_counts_conductors_is_one_conductor_of_its_cable()
    {
        var plan = PlannedList.Of([], "Wire,From,Size\n7,X1:1,2x0.75\n");
        var wire = Assert.Single(plan.Put.OfType<JobWire>());
        var cable = Assert.Single(plan.Put.OfType<JobCable>());
        Assert.Equal(("7", cable.Id), (wire.Name, wire.CableId));
        Assert.Equal(("7", 2), (cable.Name, cable.Count));
    }

    [Fact]
    public void A_list_may_have_both_its_cables_and_what_they_are_pulled_through()
    {
        var plan = PlannedList.Of(
            [],
            "Wire,Cable no,Conduit,From,To,Type\n1,C-101,Conduit 4,X1:1,M1:U,3C 12 TC\n2,,Conduit 4,X1:2,M1:V,12 THHN\n"
        );
        var cable = Assert.Single(plan.Put.OfType<JobCable>());
        Assert.Equal(
            [(cable.Id, "Conduit 4"), ((Guid?)null, "Conduit 4")],
            plan.Put.OfType<JobWire>().OrderBy(w => w.Order).Select(w => (w.CableId, w.Run))
        );
        Assert.Equal(3, cable.Count);
    }

    [Fact]
    public void A_cable_is_what_the_first_of_its_rows_says()
    {
        var plan = Plan([], ["1", "W1", "X1:1", "M1:U", "4G2.5 H07RN-F"], ["2", "W1", "X1:2", "M1:V", "4G2.5 H07RN-F"]);
        var cable = Assert.Single(plan.Put.OfType<JobCable>());
        Assert.Equal(
            ("W1", 4, EarthInCable.Among, "H07RN-F"),
            (cable.Name, cable.Count, cable.Earth, cable.Conductor!.Designation!.Code)
        );
        Assert.True(cable.IsCord);
        Assert.All(plan.Put.OfType<JobWire>(), w => Assert.Equal((cable.Id, null), (w.CableId, w.Run)));
        Assert.Equal(1, plan.Cables);
        Assert.IsType<JobCable>(plan.Put.First(p => p is JobCable or JobWire));
    }

    [Fact]
    public void Rows_that_say_two_things_of_one_cable_are_told()
    {
        IReadOnlyList<string> Notices(string second) =>
            PlannedList
                .Read(
                    Csv([Headings, ["1", "W1", "X1:1", "M1:U", "4G2.5 H07RN-F"], ["2", "W1", "X1:2", "M1:V", second]])
                )
                .Notices;
        Assert.Contains(Notices("5G2.5 H07RN-F"), n => n.Contains("“W1”", StringComparison.Ordinal));
        Assert.Contains(Notices("4G2.5 H05VV-F"), n => n.Contains("“W1”", StringComparison.Ordinal));
        Assert.DoesNotContain(Notices("4G1.5 H07RN-F"), n => n.Contains("“W1”", StringComparison.Ordinal));
    }

    [Fact]
    public void The_same_list_again_changes_nothing_and_another_make_is_a_change()
    {
        string[][] rows =
        [
            ["1", "W1", "X1:1", "M1:U", "4G2.5 H07RN-F"],
            ["2", "W1", "X1:2", "M1:V", "4G2.5 H07RN-F"],
        ];
        var job = Plan([], rows).Put;
        Assert.Empty(Plan(job, rows).Put);
        var larger = Plan(
            job,
            [.. rows.Select(r => r.Select(c => c.Replace("4G", "5G", StringComparison.Ordinal)).ToArray())]
        );
        Assert.Equal(5, Assert.Single(larger.Put.OfType<JobCable>()).Count);
        var change = Assert.Single(larger.Effects, e => e.Does == RowDoes.Change);
        Assert.Contains("5 ×", Assert.Single(change.Changes).Is, StringComparison.Ordinal);
    }

    [Fact]
    public void A_wire_that_moves_to_another_cable_is_told_and_an_empty_cable_goes()
    {
        var job = Plan([], ["1", "W1", "X1:1", "M1:U", "2x1 H05VV-F"], ["2", "W2", "X1:2", "M1:V", "2x1 H05VV-F"]).Put;
        var moved = Plan(job, ["1", "W2", "X1:1", "M1:U", "2x1 H05VV-F"], ["2", "W2", "X1:2", "M1:V", "2x1 H05VV-F"]);
        Assert.Equal(
            new ListChange(ColumnMeaning.Cable, "W1", "W2"),
            Assert.Single(Assert.Single(moved.Effects, e => e.Does == RowDoes.Change).Changes)
        );
        var gone = Plan(job, ["1", "W1", "X1:1", "M1:U", "2x1 H05VV-F"]);
        Assert.Equal("2", Assert.Single(gone.Removed).Name);
        Assert.Equal("W2", Assert.Single(gone.RemovedCables).Name);
    }

    [Fact]
    public void A_row_that_only_counts_conductors_moves_its_wire_to_no_other_cable()
    {
        var job = Plan([], ["1", "W1", "X1:1", "M1:U", "2x1 H05VV-F"]).Put;
        var plan = PlannedList.Of(job, "Wire,From,To,Type\n1,X1:1,M1:U,2x1 H05VV-F\n");
        Assert.Empty(plan.Put);
    }

    /// <summary>Jobs from before there were cables keep what they have.</summary>
    [Fact]
    public void A_wire_stays_in_the_raceway_that_it_was_in_though_a_list_calls_it_a_cable()
    {
        var job = Plan([], ["1", "Conduit 4", "X1:1", "M1:U", "12 THHN"]).Put;
        IReadOnlyList<JobPart> before = [.. job.Select(p => p is JobWire w ? w with { Run = "W1" } : p)];
        Assert.Empty(Plan(before, ["1", "W1", "X1:1", "M1:U", "12 THHN"]).Put);
    }

    [Fact]
    public void A_name_of_one_of_the_jobs_cables_is_that_cable_wherever_it_stands()
    {
        var job = Plan([], ["1", "W1", "X1:1", "M1:U", "2x1 H05VV-F"]).Put;
        var plan = PlannedList.Of(job, "Wire,Conduit,From,To,Size\n9,w1,X1:9,M1:9,1 mm² fine\n", replaces: false);
        Assert.Equal(job.OfType<JobCable>().Single().Id, Assert.Single(plan.Put.OfType<JobWire>()).CableId);
    }

    /// <summary>Out in our own columns, and into a job that has nothing.</summary>
    [Fact]
    public void Every_wire_of_the_demo_comes_back_into_its_cable_and_its_raceway()
    {
        var document = JobDocument.Read(File.ReadAllBytes(Repository.Of("demo", "dome.job.json")));
        var plan = PlannedList.Of([], WireListFile.Csv(document));
        Assert.Equal(0, plan.Count(RowDoes.Wrong));
        Assert.Equal(
            Running(document.Wires, document.Cables!),
            Running([.. plan.Put.OfType<JobWire>()], [.. plan.Put.OfType<JobCable>()])
        );
        static IEnumerable<string> Running(IReadOnlyList<JobWire> wires, IReadOnlyList<JobCable> cables) =>
            wires
                .Where(w => !w.Retired)
                .Select(w => $"{w.Name} in {cables.FirstOrDefault(c => c.Id == w.CableId)?.Name}, {w.Run}")
                .Order(StringComparer.Ordinal);
    }

    private static ListPlan Plan(IReadOnlyList<JobPart> job, params string[][] rows) =>
        PlannedList.Of(job, Csv([Headings, .. rows]));

    private static string Csv(IEnumerable<string[]> rows) => string.Join('\n', rows.Select(r => string.Join(',', r)));
}
