using System.Text.Json;
using Lacet.Core.Jobs;

namespace Lacet.Exchange.Jobs;

/// <summary>Parts of a job as they are stored: their own JSON, nothing of them lost.</summary>
public static class PartJson
{
    /// <summary>The parts there are, as JSON names them.</summary>
    public static IReadOnlyList<string> Kinds { get; } = [.. PartContract.Kinds.Select(k => k.Word)];

    /// <summary>As it is stored.</summary>
    public static string Write(JobPart part) => JsonSerializer.Serialize(part, Json.Options);

    /// <summary>
    /// What was stored; throws <see cref="Core.Quantities.ImpossibleInputException"/> with the field and a sentence.
    /// </summary>
    public static JobPart Parse(string body) => JsonSerializer.Deserialize<JobPart>(body, Json.Options)!;
}
