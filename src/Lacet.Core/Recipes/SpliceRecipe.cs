using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;

namespace Lacet.Core.Recipes;

/// <summary>How ends are joined. A stop gives no strip and no steps.</summary>
/// <param name="Verdict">Stop, caution or go.</param>
/// <param name="Strip">Bare metal of each end; null at a stop.</param>
/// <param name="Prepare">Twisted or straight, trimmed or not, in a few words.</param>
/// <param name="Trim">What is left bare after trimming; null where nothing is trimmed, and at a stop.</param>
/// <param name="Seal">How water is kept out, in a sentence; null where it need not be.</param>
/// <param name="Tube">The tube of a crimped and sealed joint; null for every other.</param>
/// <param name="PullOut">What a sample of the thinnest end must hold; null where the table has none.</param>
/// <param name="Tug">What each is tugged with by hand; null where the table has none.</param>
/// <param name="PullsApart">What would open the joint, each in a sentence.</param>
/// <param name="Steps">What to do, in order.</param>
/// <param name="Cautions">One line each.</param>
/// <param name="Findings">What is wrong, the worst first.</param>
/// <param name="Reasons">Why.</param>
public sealed record SpliceRecipe(
    Verdict Verdict,
    Window<Length>? Strip,
    FormattableString Prepare,
    Length? Trim,
    FormattableString? Seal,
    TubeChoice? Tube,
    Force? PullOut,
    Force? Tug,
    IReadOnlyList<FormattableString> PullsApart,
    IReadOnlyList<Step> Steps,
    IReadOnlyList<FormattableString> Cautions,
    IReadOnlyList<Finding> Findings,
    IReadOnlyList<Reason> Reasons
)
{
    /// <summary>What rests on a usual value, and where it is printed.</summary>
    public IReadOnlyList<ReadOff> ReadOff { get; init; } = [];

    /// <summary>
    /// How ends are joined, by the house rules. Throws <see cref="ImpossibleInputException"/> where there is nothing to
    /// join, or the connector cannot be.
    /// </summary>
    public static SpliceRecipe Of(SpliceJoin join, HouseRules rules) => SplicePage.Of(join, rules);

    /// <summary>The room that a joint takes in its box, whether or not it may be made.</summary>
    public static JointRoom RoomOf(SpliceJoin join, HouseRules rules) =>
        JointRoom.Of(join, SplicePage.TrimFor(join, rules) ?? StripFor(join, rules));

    /// <summary>What each end strips, whether or not the joint may be made.</summary>
    public static Length StripFor(SpliceJoin join, HouseRules rules) => SplicePage.StripFor(join, rules).Target;
}
