using System.Text.Json.Serialization;
using Lacet.Core.Landings;

namespace Lacet.Exchange.Documents;

/// <summary>A receptacle's or switch's binding screw.</summary>
public sealed record BindingScrewDocument : LandingDocument
{
    /// <summary>#6, #8 or #10; null is taken as #8.</summary>
    public string? Screw { get; init; }

    /// <summary>What it is on: receptacle, switch, control-device or lampholder; null where nobody said.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public ScrewOn? On { get; init; }

    private protected override Landing ReadKind() =>
        new BindingScrew(Screw is null ? null : ScrewSize.Parse(Screw), TorqueMarking?.Read(), MetalSet) { On = On };
}
