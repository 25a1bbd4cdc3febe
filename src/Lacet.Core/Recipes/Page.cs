using Lacet.Core.Quantities;

namespace Lacet.Core.Recipes;

/// <summary>What a kind of landing writes into the recipe.</summary>
internal sealed record Page(
    Window<Length> Strip,
    Preparation Preparation,
    IReadOnlyList<FormattableString> Tools,
    IReadOnlyList<Step> Steps,
    IReadOnlyList<FormattableString> Cautions,
    IReadOnlyList<Reason> Reasons,
    IReadOnlyList<Alternative> Alternatives,
    FormattableString Undo
);
