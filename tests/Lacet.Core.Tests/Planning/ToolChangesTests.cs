using CsCheck;
using Lacet.Core.Planning;

namespace Lacet.Core.Tests.Planning;

/// <summary>How often tools are set anew, against a count by hand and against the best of all orders.</summary>
public sealed class ToolChangesTests
{
    private static readonly Gen<ToolSetting> Setting = Gen.Select(Gen.Enum<WorkTool>(), Gen.Int[1, 4], (tool, n) =>
        new ToolSetting(tool, $"{n}")
    );

    /// <summary>Parts of one to three pieces of work, as a device with its poles.</summary>
    private static Gen<List<Part>> Parts(int most) =>
        Setting
            .Array[0, 2]
            .List[1, 3]
            .List[1, most]
            .Select(all =>
                all.Select((work, i) => new Part(i, [.. work.Select(w => (IReadOnlyList<ToolSetting>)w)])).ToList()
            );

    [Fact]
    public void The_first_setting_is_no_change_and_going_back_is_one()
    {
        ToolSetting a = new(WorkTool.Driver, $"0.6"),
            b = new(WorkTool.Driver, $"1.2"),
            hole = new(WorkTool.Stripper, $"2.5");
        Assert.Equal(
            0,
            ToolChanges.Count([
                [a],
                [hole],
                [a],
                [],
            ])
        );
        Assert.Equal(
            2,
            ToolChanges.Count([
                [a],
                [hole, b],
                [a],
            ])
        );
        Assert.Equal(
            [0, 2, 1],
            Order([
                new(
                    0,
                    [
                        [a],
                    ]
                ),
                new(
                    1,
                    [
                        [b],
                    ]
                ),
                new(
                    2,
                    [
                        [a],
                    ]
                ),
            ])
        );
    }

    [Fact]
    public void Never_more_often_than_as_they_were_given_and_nothing_is_lost() =>
        Parts(60)
            .Sample(parts =>
            {
                var order = ToolChanges.Arrange(parts, p => p.Work);
                Assert.Equal(parts.Select(p => p.Id), order.Select(p => p.Id).Order());
                Assert.True(Changes(order) <= Changes(parts));
                Assert.Equal(order, ToolChanges.Arrange(parts, p => p.Work));
            });

    /// <summary>
    /// Of few parts every order is tried. At most one change in three more than the best, and in nine of ten not one more.
    /// </summary>
    [Fact]
    public void Of_few_parts_it_is_near_the_best_of_all_orders()
    {
        var (tried, best, ours, missed) = (0, 0, 0, 0);
        Parts(6)
            .Sample(
                parts =>
                {
                    var least = Orders(parts).Min(Changes);
                    var found = Changes(ToolChanges.Arrange(parts, p => p.Work));
                    Assert.InRange(found, least, least + Math.Max(1, least / 3));
                    (tried, best, ours) = (tried + 1, best + least, ours + found);
                    missed += found > least ? 1 : 0;
                },
                iter: 300,
                threads: 1,
                seed: "0000Hs2Vv4L0"
            );
        Assert.True(missed * 10 <= tried, $"{missed} of {tried}: {ours} changes where {best} would do.");
    }

    private static int Changes(IEnumerable<Part> parts) => ToolChanges.Count(parts.SelectMany(p => p.Work));

    private static IEnumerable<int> Order(List<Part> parts) =>
        ToolChanges.Arrange(parts, p => p.Work).Select(p => p.Id);

    private static IEnumerable<IReadOnlyList<Part>> Orders(IReadOnlyList<Part> parts) =>
        parts.Count == 0
            ?
            [
                [],
            ]
            : parts.SelectMany(first =>
                Orders([.. parts.Where(p => p != first)]).Select(rest => (IReadOnlyList<Part>)[first, .. rest])
            );

    private sealed record Part(int Id, IReadOnlyList<IReadOnlyList<ToolSetting>> Work);
}
