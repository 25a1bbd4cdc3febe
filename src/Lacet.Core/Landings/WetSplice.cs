namespace Lacet.Core.Landings;

/// <summary>How a splice in a wet place is made.</summary>
public enum WetSplice
{
    /// <summary>A crimp sleeve in a sealed tube.</summary>
    CrimpSleeveInSealedTube,

    /// <summary>A twist-on connector with sealant.</summary>
    SealedTwistOn,
}
