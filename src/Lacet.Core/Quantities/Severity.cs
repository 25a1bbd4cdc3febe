namespace Lacet.Core.Quantities;

/// <summary>How bad a finding is, worst first.</summary>
public enum Severity
{
    /// <summary>Must not be energised.</summary>
    Stop,

    /// <summary>Put it right.</summary>
    Fix,

    /// <summary>Know it.</summary>
    Note,
}
