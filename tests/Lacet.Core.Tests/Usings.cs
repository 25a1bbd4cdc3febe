global using CsCheck;
global using Lacet.Core.Conductors;
global using Lacet.Core.Landings;
global using Lacet.Core.Quantities;
global using static Lacet.Core.Tests.Generators;
global using Xunit;
