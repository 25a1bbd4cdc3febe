namespace Lacet.Workshop.People;

/// <summary>What somebody signs in with from now on.</summary>
/// <param name="Password">A password; null leaves what was.</param>
/// <param name="Pin">A PIN for shared tablets; null leaves what was.</param>
public sealed record NewSecrets(string? Password, string? Pin);
