# frozen_string_literal: true

require "support/server_case"

# The contract and the resources name the same addresses.
class ContractTest < ServerCase
  CONTRACT = YAML.safe_load_file(Server::CONTRACT)

  def described
    CONTRACT["paths"].flat_map { |path, held| (held.keys & %w[get post put patch delete]).map { |verb| [verb, path.gsub(/\{\w+\}/, ":id")] } }
  end

  def served
    Server::Application::RESOURCES.flat_map { |resource| resource.routes.except("HEAD").to_a }
                                  .flat_map { |verb, routes| routes.map { |pattern, *| [verb.downcase, pattern.to_s] } }
  end

  def test_every_address_is_served_and_described
    assert_equal described.sort, served.uniq.sort
  end

  def test_every_answer_that_is_no_success_is_a_problem
    CONTRACT["paths"].except("/health").each do |path, held|
      held.slice("get", "post", "put", "patch", "delete").each { |verb, operation| assert operation["responses"].key?("default"), "#{verb} #{path}" }
    end
  end

  # A version is asked for wherever something is changed.
  def test_a_change_without_its_version_is_refused
    unit = @unit.id
    { ["PATCH", "/api/units/#{unit}"] => { "label" => "x" }, ["PUT", "/api/units/#{unit}/pick"] => { "method" => "die/patches", "unit" => @unit.spec },
      ["PATCH", "/api/projects/#{@project.id}"] => { "name" => "x" }, ["PATCH", "/api/tools/#{@maker.tools.first.id}"] => {},
      ["PATCH", "/api/maker"] => { "priorities" => {} } }.each do |(verb, path), body|
      send_json(verb, path, body)

      assert_problem 400
    end
    delete "/api/units/#{unit}/pick"

    assert_problem 400
  end

  def test_numbers_that_are_none_in_an_address
    ["/api/projects/abc", "/api/projects/0", "/api/projects/99999999999999999999"].each do |path|
      get path

      assert_includes [400, 404], last_response.status, path
    end
  end

  def test_the_page_types_are_made_from_this_contract
    types = File.read(File.join(Server::ROOT, "web/src/api/contract.d.ts"))

    CONTRACT["components"]["schemas"].each_key { |name| assert_match(/^\s+#{name}: /, types, name) }
  end
end
