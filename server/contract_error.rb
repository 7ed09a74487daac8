# frozen_string_literal: true

module Server
  # A request that does not keep to the contract, told as a problem document like everything else.
  class ContractError < Committee::ValidationError
    # @return [Array] a Rack answer
    def render
      problem = Problem.new(status, "The request does not keep to the contract.", errors: [{ pointer: "", message: message }])
      problem.answer
    end
  end
end
