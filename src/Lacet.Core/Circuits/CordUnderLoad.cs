using Lacet.Core.Conductors;

namespace Lacet.Core.Circuits;

/// <summary>A cord of one size under a load.</summary>
/// <param name="Size">The conductors' size.</param>
/// <param name="Ampacity">What it may carry with so many loaded conductors, A.</param>
/// <param name="DropVolts">Voltage lost on the way, there and back.</param>
/// <param name="DropPercent">The same in percent of the voltage.</param>
/// <param name="LossWattsPerMetre">Heat in the cord, W for each metre of it.</param>
/// <param name="CarriesIt">Whether its ampacity is enough.</param>
/// <param name="DropsLittle">Whether the drop is within what is advised.</param>
/// <param name="IsThickEnough">Whether it is at least the trade's floor for this use.</param>
public sealed record CordUnderLoad(
    ConductorSize Size,
    double Ampacity,
    double DropVolts,
    double DropPercent,
    double LossWattsPerMetre,
    bool CarriesIt,
    bool DropsLittle,
    bool IsThickEnough
)
{
    /// <summary>Whether it may be taken: what it loses on the way is advice, and refuses none.</summary>
    public bool Does => CarriesIt && IsThickEnough;
}
