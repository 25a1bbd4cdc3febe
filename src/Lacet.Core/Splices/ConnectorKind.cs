namespace Lacet.Core.Splices;

/// <summary>What holds a splice together.</summary>
public enum ConnectorKind
{
    /// <summary>Each conductor under its own lever.</summary>
    Lever,

    /// <summary>A cap with a coil in it, turned on over all of them.</summary>
    TwistOn,

    /// <summary>Each conductor pushed into its own spring.</summary>
    PushIn,

    /// <summary>A sleeve crimped over all of them, in a tube of grease with a cap.</summary>
    CrimpSleeveTube,

    /// <summary>A twist-on cap filled with sealant.</summary>
    SealedTwistOn,

    /// <summary>Twisted, soldered and taped.</summary>
    Solder,

    /// <summary>Nothing: a bare twist.</summary>
    None,
}
