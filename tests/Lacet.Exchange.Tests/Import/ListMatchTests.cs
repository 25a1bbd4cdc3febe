using System.Text;
using Lacet.Core.Jobs;
using Lacet.Exchange.Import;

namespace Lacet.Exchange.Tests.Import;

/// <summary>A revised list: which of its rows are wires that were there, which were moved, and which are new.</summary>
public sealed class ListMatchTests
{
    private const string Heads = "From,To,Size,Colour\n";
    private const string Three = "X1:1,K1:A1,18 AWG,blue\nX1:2,K2:A1,18 AWG,blue\nX1:3,K3:A1,18 AWG,red\n";

    [Fact]
    public void Without_numbers_a_row_put_in_before_the_others_is_the_only_new_wire()
    {
        var first = PlannedList.Of([], Heads + Three).Put;
        var second = PlannedList.Of(first, Heads + "X1:9,K9:A1,18 AWG,blue\n" + Three);
        Assert.Equal((1, 0, 3), Counts(second));
        // No wire is called as another one is.
        var names = first.Concat(second.Put).OfType<JobWire>().Select(w => w.Name).ToList();
        Assert.Equal(4, names.Distinct(StringComparer.OrdinalIgnoreCase).Count());
        Assert.Empty(
            PlannedList.Of(PlannedList.Over(first, second.Put), Heads + "X1:9,K9:A1,18 AWG,blue\n" + Three).Put
        );
    }

    [Fact]
    public void A_moved_terminal_is_a_change_of_the_wire_that_was_there()
    {
        var first = PlannedList.Of([], Heads + Three).Put;
        var second = PlannedList.Of(first, Heads + Three.Replace("K2:A1", "K7:A1"));
        Assert.Equal((0, 1, 2), Counts(second));
        Assert.Empty(second.Removed);
        var change = Assert.Single(second.Effects.Single(e => e.Does == RowDoes.Change).Changes);
        Assert.Equal((ColumnMeaning.To, "K2:A1", "K7:A1"), (change.Column, change.Was, change.Is));
        // A list that only adds moves nothing.
        Assert.Equal(
            (1, 0, 2),
            Counts(PlannedList.Of(first, Heads + Three.Replace("K2:A1", "K7:A1"), replaces: false))
        );
    }

    [Fact]
    public void Where_several_could_have_moved_none_is_taken_for_it()
    {
        var first = PlannedList.Of([], Heads + "X1:1,K1:A1,18 AWG,blue\nX1:1,K2:A1,18 AWG,blue\n").Put;
        var second = PlannedList.Of(first, Heads + "X1:1,K8:A1,18 AWG,blue\nX1:1,K9:A1,18 AWG,blue\n");
        Assert.Equal((2, 0, 0), Counts(second));
        Assert.Equal(2, second.Removed.Count);
        // Another colour is another wire.
        var red = PlannedList.Of(
            PlannedList.Of([], Heads + Three).Put,
            Heads + Three.Replace("X1:3,K3:A1,18 AWG,red", "X1:3,K7:A1,18 AWG,blue")
        );
        Assert.Equal(((1, 0, 2), 1), (Counts(red), red.Removed.Count));
    }

    [Fact]
    public void A_wire_that_is_written_the_other_way_round_is_the_same()
    {
        var first = PlannedList.Of([], "Wire," + Heads + "1,X1:1,K1:A1,18 AWG,blue\n").Put;
        Assert.Empty(PlannedList.Of(first, "Wire," + Heads + "1,K1:A1,X1:1,18 AWG,blue\n").Put);
        var unnumbered = PlannedList.Of([], Heads + Three).Put;
        Assert.Empty(PlannedList.Of(unnumbered, Heads + "K1:A1,X1:1,18 AWG,blue\n", replaces: false).Put);
    }

    [Fact]
    public void A_wire_that_got_another_number_keeps_its_ends_where_the_list_replaces_what_was_there()
    {
        var first = PlannedList.Of([], "Wire," + Heads + "12,X1:1,K1:A1,18 AWG,blue\n13,X1:2,K2:A1,18 AWG,blue\n").Put;
        const string list = "112,X1:1,K1:A1,18 AWG,blue\n13,X1:2,K2:A1,18 AWG,blue\n";
        var second = PlannedList.Of(first, "Wire," + Heads + list);
        Assert.Equal((0, 1, 1), Counts(second));
        var (was, now) = (first.OfType<JobWire>().First(), Assert.Single(second.Put.OfType<JobWire>()));
        Assert.Equal((was.Id, was.A.Id, "112"), (now.Id, now.A.Id, now.Name));
        Assert.Equal(
            (ColumnMeaning.Wire, "12", "112"),
            second.Effects.SelectMany(e => e.Changes).Select(c => (c.Column, c.Was, c.Is)).Single()
        );
        Assert.Equal((1, 0, 1), Counts(PlannedList.Of(first, "Wire," + Heads + list, replaces: false)));
    }

    [Fact]
    public void Wires_of_a_potential_keep_their_places_when_one_comes_between()
    {
        static string List(params int[] terminals) =>
            "Wire,"
            + Heads
            + string.Concat(terminals.Select(t => $"24V,X1:{t},K{t}:A1,18 AWG,blue\n"))
            + string.Concat(terminals.Select(t => $"0V,X2:{t},K{t}:A2,18 AWG,blue\n"));
        var first = PlannedList.Of([], List(1, 3, 4)).Put;
        Assert.Equal(["0V.1", "0V.2", "0V.3", "24V.1", "24V.2", "24V.3"], Names(first));
        var second = PlannedList.Of(first, List(1, 2, 3, 4));
        Assert.Equal((2, 0, 6), Counts(second));
        Assert.Equal(["0V.4", "24V.4"], Names(second.Put));
    }

    [Fact]
    public void A_row_that_is_wrong_deletes_nothing()
    {
        var first = PlannedList.Of([], "Wire," + Heads + "1,X1:1,K1:A1,18 AWG,blue\n2,X1:2,K2:A1,18 AWG,blue\n").Put;
        var second = PlannedList.Of(first, "Wire," + Heads + "1,X1:1,K1:A1,18 AWG,mauve\n2,X1:2,K2:A1,18 AWG,blue\n");
        Assert.Equal(1, second.Count(RowDoes.Wrong));
        Assert.Empty(second.Removed);
    }

    private static (int Added, int Changed, int Same) Counts(ListPlan plan) =>
        (plan.Count(RowDoes.Add), plan.Count(RowDoes.Change), plan.Count(RowDoes.Nothing));

    private static List<string> Names(IEnumerable<JobPart> parts) =>
        [.. parts.OfType<JobWire>().Select(w => w.Name).Order(StringComparer.Ordinal)];
}
