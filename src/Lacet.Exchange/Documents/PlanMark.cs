using System.Text.Json;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Records;

namespace Lacet.Exchange.Documents;

/// <summary>What tells one plan of an end from another: its wire and its landing, as they are written.</summary>
public static class PlanMark
{
    /// <summary>The mark of a plan.</summary>
    public static string Of(Conductor? conductor, Landing? landing) =>
        Seal.Of([
            .. JsonSerializer.SerializeToUtf8Bytes(
                conductor is null ? null : ConductorDocument.Of(conductor),
                Json.Options
            ),
            .. JsonSerializer.SerializeToUtf8Bytes(landing is null ? null : LandingDocument.Of(landing), Json.Options),
        ]);
}
