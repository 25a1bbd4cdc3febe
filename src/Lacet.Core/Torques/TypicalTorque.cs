using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Torques;

/// <summary>A row of the table "typical-torque".</summary>
/// <param name="Kind">Kind of landing.</param>
/// <param name="Target">Usual target, lbf·in.</param>
/// <param name="Least">Least of the usual range, lbf·in.</param>
/// <param name="Most">Most of the usual range, lbf·in.</param>
public sealed record TypicalTorque(string Kind, double Target, double Least, double Most)
{
    private static readonly Dictionary<string, Window<Torque>> ByKind = ReferenceTable
        .Rows<TypicalTorque>("typical-torque")
        .ToDictionary(r => r.Kind, r => r.Window(), StringComparer.Ordinal);

    /// <summary>The usual window for a kind of landing.</summary>
    public static Window<Torque> For(string kind) => ByKind[kind];

    private Window<Torque> Window() =>
        new(
            Torque.From(Target, TorqueUnit.InchPound),
            Torque.From(Least, TorqueUnit.InchPound),
            Torque.From(Most, TorqueUnit.InchPound)
        );
}
