using System.Text.Json;
using Lacet.Core.Records;

namespace Lacet.Exchange.Documents;

/// <summary>What tells one plan of an end from another: its wire and its landing, as they are written.</summary>
public static class PlanMark
{
    /// <summary>The mark of a plan.</summary>
    public static string Of(ConductorDocument? conductor, LandingDocument? landing) =>
        Seal.Of([
            .. JsonSerializer.SerializeToUtf8Bytes(conductor, Json.Options),
            .. JsonSerializer.SerializeToUtf8Bytes(landing, Json.Options),
        ]);
}
