namespace Lacet.Core.Jobs;

/// <summary>How a circuit is wired.</summary>
public enum WiringMethod
{
    /// <summary>Single wires in a raceway.</summary>
    Raceway,

    /// <summary>Non-metallic sheathed cable: its ampacity is that of 60 °C (NEC 334.80, from memory).</summary>
    NmCable,

    /// <summary>Flexible cord.</summary>
    Cord,

    /// <summary>Inside a machine or its panel.</summary>
    MachineWiring,
}
