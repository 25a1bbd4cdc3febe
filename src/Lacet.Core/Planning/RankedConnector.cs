using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Core.Splices;

namespace Lacet.Core.Planning;

/// <summary>A connector beside the others that could join the same ends.</summary>
/// <param name="Connector">Which.</param>
/// <param name="Fits">Whether nothing forbids it.</param>
/// <param name="Why">What speaks for it, or why it does not fit; each in a sentence.</param>
/// <param name="Length">How long it is in the box, with what is in it.</param>
/// <param name="Width">How wide.</param>
public sealed record RankedConnector(
    SpliceConnector Connector,
    bool Fits,
    IReadOnlyList<FormattableString> Why,
    Length Length,
    Length Width
)
{
    /// <summary>
    /// Ranks connectors: those that fit before those that do not; among those the ones with nothing to put right, then
    /// what the house rule of wet places asks for, a listed combination, the strongest hold, and the least room.
    /// </summary>
    public static IReadOnlyList<RankedConnector> Rank(
        SpliceJoin join,
        IEnumerable<SpliceConnector> connectors,
        HouseRules rules
    ) =>
        [
            .. connectors
                .Select(c => Judge(join with { Connector = c }, rules))
                .OrderBy(r => r.Order)
                .ThenByDescending(r => r.Strength)
                .ThenBy(r => r.Ranked.Length.Millimetres * r.Ranked.Width.Millimetres)
                .ThenBy(r => r.Ranked.Connector.Name, StringComparer.Ordinal)
                .Select(r => r.Ranked),
        ];

    /// <summary>How hard a kind holds, the strongest highest (common practice).</summary>
    private static int StrengthOf(ConnectorKind kind) =>
        kind switch
        {
            ConnectorKind.CrimpSleeveTube => 4,
            ConnectorKind.Lever => 3,
            ConnectorKind.TwistOn => 2,
            ConnectorKind.SealedTwistOn => 1,
            _ => 0,
        };

    private static (int Order, int Strength, RankedConnector Ranked) Judge(SpliceJoin join, HouseRules rules)
    {
        var (connector, fit) = (join.Connector, SpliceFit.Of(join));
        var isWet = join.Place is SplicePlace.Wet or SplicePlace.Buried;
        var byRule =
            isWet
            && connector.Kind
                == (
                    rules.WetSplice == WetSplice.CrimpSleeveInSealedTube
                        ? ConnectorKind.CrimpSleeveTube
                        : ConnectorKind.SealedTwistOn
                );
        var listed = connector.Combinations.Count > 0;
        // Where it is dry, what is made for water comes last: it is made once, or full of sealant, for nothing.
        var order =
            !fit.Fits ? 8
            : fit.Findings.Count > 0 ? 4
            : isWet ? (byRule ? 0 : 2)
            : join.Place == SplicePlace.Dry && connector.IsSealed ? 3
            : listed ? 0
            : 1;
        var room = SpliceRecipe.RoomOf(join, rules);
        return (
            order,
            StrengthOf(connector.Kind),
            new(
                connector,
                fit.Fits,
                fit.Fits
                    ? [.. For(connector, fit, byRule, room)]
                    : [.. fit.Findings.Where(f => f.Severity == Severity.Stop).Select(f => f.Says)],
                room.Length,
                room.Width
            )
        );
    }

    private static IEnumerable<FormattableString> For(
        SpliceConnector connector,
        SpliceFit fit,
        bool byRule,
        JointRoom room
    )
    {
        foreach (var reason in fit.Reasons.Where(r => r is { Rule: "splice-filling" }))
        {
            yield return reason.Text;
        }

        if (byRule)
        {
            yield return $"The house rule’s way in wet places.";
        }
        else if (connector.IsSealed)
        {
            yield return $"Sealed.";
        }

        yield return connector.Kind switch
        {
            ConnectorKind.CrimpSleeveTube => $"The strongest: a pull breaks the wire first.",
            ConnectorKind.Lever => $"Holds each conductor by itself.",
            ConnectorKind.PushIn => $"A spring holds each; turning and pulling works it out.",
            _ => (FormattableString)$"Holds all of them together; one that stands short slips out.",
        };
        yield return connector.OpensAgain
            ? $"It can be opened again."
            : (FormattableString)$"It is made once: to change it, cut it off.";
        yield return $"It takes {room.Length} by {room.Width} in the box.";
        foreach (var finding in fit.Findings)
        {
            yield return finding.Says;
        }
    }
}
