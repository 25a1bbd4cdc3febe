namespace Lacet.Core.Quantities;

/// <summary>The units that torque is marked in.</summary>
public enum TorqueUnit
{
    /// <summary>N·m.</summary>
    NewtonMetre,

    /// <summary>lbf·in.</summary>
    InchPound,

    /// <summary>lbf·ft.</summary>
    FootPound,
}
