using System.Text;
using Lacet.Core.Jobs;
using Lacet.Exchange.Import;
using Lacet.Exchange.Jobs;

namespace Lacet.Exchange.Tests.Import;

/// <summary>Rows of a list that bridge terminals become bridges of the job, once, and go out as they came.</summary>
public sealed class BridgeRowTests
{
    private const string Strip =
        "Wire,From,To,Size,Type\n1,PS1:+,TB1:1,16 AWG,MTW\n,TB1:1,TB1:2,,jumper\n,TB1:2,TB1:3,,jumper\n,TB1:5,TB1:6,,jumper bar\n2,TB1:3,K1:A1,18 AWG,MTW\n";

    [Fact]
    public void Rows_from_terminal_to_terminal_are_one_bridge()
    {
        var plan = PlannedList.Of([], Strip);
        Assert.Equal((2, 0, 2), (plan.Count(RowDoes.Add), plan.Count(RowDoes.Wrong), plan.Bridges));
        Assert.Equal(
            [("bridge TB1:1–TB1:3", BridgeForm.PlugIn), ("bridge TB1:5–TB1:6", BridgeForm.Screwed)],
            Said(Job(plan.Put))
        );
    }

    [Fact]
    public void The_same_list_again_changes_nothing_and_a_longer_one_makes_it_longer()
    {
        var first = PlannedList.Of([], Strip);
        var again = PlannedList.Of(first.Put, Strip);
        Assert.Empty(again.Put);
        Assert.Equal(2, again.Count(RowDoes.Nothing));

        var longer = PlannedList.Of(first.Put, Strip + ",TB1:3,TB1:4,,jumper\n");
        var job = Job(PlannedList.Over(first.Put, longer.Put));
        Assert.Equal("bridge TB1:1–TB1:4", Said(job)[0].Name);
        Assert.Single(longer.Put.OfType<JobBridge>());
    }

    [Fact]
    public void Terminals_stand_where_their_numbers_say_unless_somebody_put_them_otherwise()
    {
        static string[] Strip(IEnumerable<JobPart> parts) =>
            [
                .. parts
                    .OfType<JobLanding>()
                    .Where(l => l.Name.StartsWith('X'))
                    .OrderBy(l => l.Order)
                    .Select(l => l.Name),
            ];
        const string list = "Wire,From,To,Size\n1,X1:10,K1:1,14 AWG\n2,X1:2,K1:2,14 AWG\n3,X1:1,K1:3,14 AWG\n";
        var first = PlannedList.Of([], list).Put;
        Assert.Equal(["X1:1", "X1:2", "X1:10"], Strip(first));

        // A terminal that a revised list brings goes in between.
        var put = PlannedList.Of(first, list + "4,X1:3,K1:4,14 AWG\n").Put;
        Assert.Equal(["X1:1", "X1:2", "X1:3", "X1:10"], Strip(PlannedList.Over(first, put)));

        var turned = first.Select(p => p is JobLanding { Name: "X1:1" } l ? l with { Order = 99 } : p).ToList();
        put = PlannedList.Of(turned, list + "4,X1:3,K1:4,14 AWG\n").Put;
        Assert.Equal(["X1:2", "X1:10", "X1:1", "X1:3"], Strip(PlannedList.Over(turned, put)));
    }

    /// <summary>A list that names bridges names all of them; one that names none says nothing of any.</summary>
    [Fact]
    public void A_revised_list_takes_out_what_it_no_longer_has()
    {
        var first = PlannedList.Of([], Strip);
        Assert.Equal(
            "TB1:5",
            Name(
                first.Put,
                Assert.Single(PlannedList.Of(first.Put, Strip.Replace(",TB1:5,TB1:6,,jumper bar\n", "")).RemovedBridges)
            )
        );
        Assert.Empty(PlannedList.Of(first.Put, "Wire,From,To,Size\n1,PS1:+,TB1:1,16 AWG\n").RemovedBridges);
        Assert.Empty(
            PlannedList.Of(first.Put, Strip.Replace(",TB1:5,TB1:6,,jumper bar\n", ""), replaces: false).RemovedBridges
        );
    }

    [Fact]
    public void An_exported_list_has_them_and_is_read_again()
    {
        var put = PlannedList.Of([], Strip + ",QF1:1,QF2:1,,comb\n,N:1,PE:1,,link\n").Put;
        var title = new JobTitle(Guid.NewGuid(), "J");
        var csv = WireListFile.Csv(JobDocument.Of(title, put));
        Assert.Contains("TB1:1,", Encoding.UTF8.GetString(csv), StringComparison.Ordinal);
        var again = PlannedList.Of(put, Encoding.UTF8.GetString(csv));
        Assert.Empty(again.Put);
        Assert.Empty(again.RemovedBridges);
        Assert.Equal(Said(Job(put)), Said(Job(PlannedList.Of([], Encoding.UTF8.GetString(csv)).Put)));
    }

    [Theory]
    [InlineData("jumper", BridgeForm.PlugIn)]
    [InlineData("Plug-in bridge 10-pole", BridgeForm.PlugIn)]
    [InlineData("Steckbrücke", BridgeForm.PlugIn)]
    [InlineData("puente", BridgeForm.PlugIn)]
    [InlineData("ponticello", BridgeForm.PlugIn)]
    [InlineData("screwed jumper", BridgeForm.Screwed)]
    [InlineData("peigne", BridgeForm.Comb)]
    [InlineData("Link", BridgeForm.Link)]
    [InlineData("jumper wire", null)]
    [InlineData("Drahtbrücke", null)]
    [InlineData("point", null)]
    [InlineData("limit switch", null)]
    public void Words_of_the_trade_say_which_form_it_has(string cell, BridgeForm? form) =>
        Assert.Equal(
            form,
            PlannedList
                .Of([], $"Wire,From,To,Size,Type\n1,K1:A1,TB1:9,16 AWG,MTW\n9,TB1:1,TB1:2,,{cell}\n")
                .Put.OfType<JobBridge>()
                .SingleOrDefault()
                ?.Form
        );

    private static Job Job(IEnumerable<JobPart> parts) => new(new JobTitle(Guid.NewGuid(), "J"), parts);

    private static string Name(IReadOnlyList<JobPart> parts, JobBridge bridge) => Job(parts).LandingsOf(bridge)[0].Name;

    private static List<(string Name, BridgeForm Form)> Said(Job job) =>
        [.. job.Bridges.Values.OrderBy(b => b.Order).Select(b => (job.NameOf(b), b.Form))];
}
