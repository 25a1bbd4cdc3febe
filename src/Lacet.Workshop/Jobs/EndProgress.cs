using System.Text.Json.Serialization;
using Lacet.Core.Records;

namespace Lacet.Workshop.Jobs;

/// <summary>How far an end is.</summary>
/// <param name="State">Its state.</param>
/// <param name="OlderPlan">Whether it was landed to a plan that was changed since.</param>
/// <param name="Park">Why it is set aside; left out where it is not.</param>
/// <param name="LastRecord">The event that set it aside or rejected it, for taking it back.</param>
public sealed record EndProgress(
    EndState State,
    bool OlderPlan,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] ParkReason? Park = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Guid? LastRecord = null
);
