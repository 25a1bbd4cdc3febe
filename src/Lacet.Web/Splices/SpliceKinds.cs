using Lacet.Core.Conductors;
using Lacet.Core.Drawings;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Core.Splices;
using Lacet.Exchange.Documents;

namespace Lacet.Web.Splices;

/// <summary>Ends in a kind of connector.</summary>
/// <param name="Kind">The kind.</param>
/// <param name="Verdict">stop, caution, read or go.</param>
/// <param name="Scene">The joint as it will look.</param>
public sealed record SpliceInKind(ConnectorKind Kind, Verdict Verdict, SceneDocument Scene);

/// <summary>A hand splice of the trade.</summary>
/// <param name="Form">Which.</param>
/// <param name="Build">What it winds.</param>
/// <param name="HasOpenTurns">Whether open turns come before the tight ones.</param>
/// <param name="Scene">It wound.</param>
public sealed record HandFormDocument(HandForm Form, Build Build, bool HasOpenTurns, SceneDocument Scene)
{
    internal static IReadOnlyList<HandFormDocument> All(ReaderFormat reader) =>
        [
            .. Enum.GetValues<HandForm>()
                .Select(form => HandSplice.Sample(form, HouseRules.Default.PigtailStrip))
                .Select(sample => new HandFormDocument(
                    sample.Form,
                    sample.Conductor.Build,
                    HandSplice.HasOpenTurns(sample.Form),
                    SceneDocument.Of(HandSpliceDrawing.Of(sample), reader)
                )),
        ];
}
